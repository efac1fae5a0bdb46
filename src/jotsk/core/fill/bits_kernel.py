"""Floods over pictures of one bit a px, compiled: 64 px are looked at at once.

A picture is uint64 (H, N): bit b of word k of a row is px 64 k + b; the bits beyond its width are 0.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}
ONE, LAST, NONE, BYTE, ALL = np.uint64(1), np.uint64(63), np.uint64(0), np.uint64(255), ~np.uint64(0)
MINE, THEIRS, BESIDE_MINE, BESIDE_THEIRS = 0, 1, 2, 3  # of the words that are listed
# The first two of the list stand for words that have nothing to be reached, and for those not listed that have some.
NOTHING, UNLISTED, LISTED = 0, 1, 2


@njit(**OPTIONS)
def farther_into(
    levels: NDArray[np.uint64], lines: NDArray[np.uint64], offsets: NDArray[np.int64], y0: int, y1: int
) -> None:
    """Write to rows y0 .. y1 of `levels` (K + 1, H, N), of which the first is written, which px are farther from all
    `lines` (H, N): those of the level before but for what a line lies beside at one of its `offsets`, (M, 3) level, y
    and x, by levels, none below 0 and all below 64; they stand for those on all sides."""
    _, h, n = levels.shape
    reach = 0
    for k in range(len(offsets)):
        reach = max(reach, offsets[k, 1], offsets[k, 2])
    kept = 2 * reach + 1
    wide = np.zeros((kept, reach + 1, n), np.uint64)  # of the rows around: px with a line so far to the left or right
    for v in range(max(0, y0 - reach), min(h, y0 + reach)):
        _widen(wide[v % kept], lines, v)
    for y in range(y0, y1):
        if y + reach < h:
            _widen(wide[(y + reach) % kept], lines, y + reach)
        at = 0
        for k in range(1, len(levels)):
            for i in range(n):
                levels[k, y, i] = levels[k - 1, y, i]
            while at < len(offsets) and offsets[at, 0] == k:
                v, x = offsets[at, 1], offsets[at, 2]
                at += 1
                if y - v >= 0:
                    row = (y - v) % kept
                    for i in range(n):
                        levels[k, y, i] &= ~wide[row, x, i]
                if v > 0 and y + v < h:
                    row = (y + v) % kept
                    for i in range(n):
                        levels[k, y, i] &= ~wide[row, x, i]


@njit(**OPTIONS)
def _widen(wide: NDArray[np.uint64], lines: NDArray[np.uint64], y: int) -> None:
    """Write to `wide` (R + 1, N) which px of a row have a line so many px to their left or right."""
    n = lines.shape[1]
    for i in range(n):
        wide[0, i] = lines[y, i]
    for x in range(1, len(wide)):
        shift, back = np.uint64(x), np.uint64(64 - x)
        for i in range(n):
            wide[x, i] = (lines[y, i] << shift) | (lines[y, i] >> shift)
        for i in range(1, n):
            wide[x, i] |= lines[y, i - 1] >> back
        for i in range(n - 1):
            wide[x, i] |= lines[y, i + 1] << back


@njit(inline="always", **OPTIONS)
def come_from(side: int, word: np.uint64) -> np.uint64:
    """The px that have a px of the next word beside them: the one to the right, to the left, below or above."""
    return word << LAST if side == 0 else word >> LAST if side == 1 else word


@njit(inline="always", **OPTIONS)
def word_at(side: int, y: int, i: int) -> tuple[int, int]:
    """The place of the next word to the right, to the left, below or above."""
    return y + (1 if side == 2 else -1 if side == 3 else 0), i + (1 if side == 0 else -1 if side == 1 else 0)


@njit(inline="always", **OPTIONS)
def beside(words: NDArray[np.uint64], y: int, i: int) -> np.uint64:
    """The px of a word that have a neighbour above, below, to the left or to the right that is set."""
    found = (words[y, i] << ONE) | (words[y, i] >> ONE)
    if i > 0:
        found |= words[y, i - 1] >> LAST
    if i < words.shape[1] - 1:
        found |= words[y, i + 1] << LAST
    if y > 0:
        found |= words[y - 1, i]
    if y < words.shape[0] - 1:
        found |= words[y + 1, i]
    return found


@njit(**OPTIONS)
def filled(seeds: np.uint64, room: np.uint64) -> np.uint64:
    """The runs of `room` that have a seed: both ways at once, in steps that double (Kogge and Stone)."""
    if seeds == room or (room == ALL and seeds != NONE):
        return room
    up, down = seeds, seeds
    room_up, room_down = room, room
    for k in range(6):
        step = np.uint64(1 << k)
        up |= room_up & (up << step)
        down |= room_down & (down >> step)
        room_up &= room_up << step
        room_down &= room_down >> step
    return up | down


@njit(**OPTIONS)
def flood(room: NDArray[np.uint64], y: int, x: int) -> NDArray[np.uint64]:
    """What hangs together with a px in `room` (H, N), by sides."""
    h, n = room.shape
    out = np.zeros((h, n), np.uint64)
    out[y, x // 64] = room[y, x // 64] & (ONE << np.uint64(x % 64))
    waits = np.zeros((h, n), np.bool_)
    stack = np.empty((h * n, 2), np.int32)
    stack[0, 0], stack[0, 1] = y, x // 64
    count, is_first = 1, True
    while count:
        count -= 1
        v, i = stack[count, 0], stack[count, 1]
        waits[v, i] = False
        seeds = (beside(out, v, i) | out[v, i]) & room[v, i]
        whole = filled(seeds, room[v, i])
        if whole == out[v, i] and not is_first:
            continue
        is_first = False
        out[v, i] = whole
        for side in range(3, -1, -1):  # first on along the row: its words lie beside each other
            u, j = word_at(side, v, i)
            if u < 0 or u == h or j < 0 or j == n or waits[u, j]:
                continue
            if come_from(side ^ 1, whole) & room[u, j] & ~out[u, j]:
                waits[u, j] = True
                stack[count, 0], stack[count, 1] = u, j
                count += 1
    return out


@njit(**OPTIONS)
def downhill(
    levels: NDArray[np.uint64], highest: NDArray[np.int64], own: NDArray[np.uint64], others: NDArray[np.uint64],
    is_near: NDArray[np.bool_],
) -> None:  # fmt: skip
    """Let two floods go on, level by level, into px nearer to the lines: `own` (H, N), which is changed, and `others`.

    `levels` (K + 1, H, N) are the px farther than each distance, the first of them all that are free. From the last but
    one on, px of level k that are not beyond level `highest[k]` are reached from px that were. Where both come to a px
    in the same step, it is of `own`. The others are followed only in words that are near, (H, N).
    """
    h, n = own.shape
    most, last = h * n + LISTED, len(levels) - 1
    # The words that change are listed, so that what is looked at lies close together.
    number = np.full((h, n), NOTHING, np.int32)
    place = np.empty((most, 2), np.int32)
    room = np.empty((last + 1, most), np.uint64)  # all levels
    words = np.empty((4, most), np.uint64)  # mine, theirs, and the px beside those of words that are not listed
    next_to = np.empty((most, 4), np.int32)
    length = LISTED
    for y in range(h):
        for i in range(n):
            if levels[0, y, i] & ~levels[last, y, i]:
                number[y, i] = UNLISTED
                if is_near[y, i]:
                    number[y, i] = length
                    place[length, 0], place[length, 1] = y, i
                    length += 1
    for m in range(LISTED, length):
        enlist(m, place, number, levels, own, others, room, words, next_to)
    mine, theirs, beside_mine, beside_theirs = words[MINE], words[THEIRS], words[BESIDE_MINE], words[BESIDE_THEIRS]
    left = np.empty(most, np.uint64)  # what can be reached now
    for m in range(LISTED):
        mine[m], theirs[m] = NONE, NONE
    left[NOTHING], left[UNLISTED] = NONE, ALL
    changed, around = np.empty(most, np.int32), np.empty(most, np.int32)
    news, others_news = np.empty(most, np.uint64), np.empty(most, np.uint64)
    seen, turn = np.zeros(most, np.int32), 0
    for k in range(last - 1, -1, -1):
        here, high = room[k], room[highest[k]]
        for m in range(LISTED, length):
            left[m] = here[m] & ~(high[m] | mine[m] | theirs[m])
        many = length - LISTED  # first all that are listed, later those beside what was reached
        for c in range(many):
            around[c] = LISTED + c
        while many:
            count = 0
            for c in range(many):
                m = around[c]
                if left[m] == NONE:
                    continue
                new = beside_mine[m] | (mine[m] << ONE) | (mine[m] >> ONE)
                other = beside_theirs[m] | (theirs[m] << ONE) | (theirs[m] >> ONE)
                for side in range(4):
                    new |= come_from(side, mine[next_to[m, side]])
                    other |= come_from(side, theirs[next_to[m, side]])
                new &= left[m]
                other &= left[m] & ~new
                if new | other:
                    changed[count], news[count], others_news[count] = m, new, other
                    count += 1
            for c in range(count):
                m = changed[c]
                mine[m] |= news[c]
                theirs[m] |= others_news[c]
                left[m] &= ~(news[c] | others_news[c])
            turn += 1
            many = 0
            for c in range(count):
                m, new = changed[c], news[c] | others_news[c]
                within = ((new << ONE) | (new >> ONE)) & left[m]
                beyond = NONE
                for side in range(4):
                    beyond |= come_from(side ^ 1, new) & left[next_to[m, side]]
                if within | beyond == NONE:  # mostly
                    continue
                if within and seen[m] != turn:
                    seen[m] = turn
                    around[many] = m
                    many += 1
                for side in range(4):
                    q = next_to[m, side]
                    reached = come_from(side ^ 1, new)
                    if q == UNLISTED:
                        y, i = word_at(side, place[m, 0], place[m, 1])
                        if news[c] == NONE or reached & levels[0, y, i] == NONE:
                            continue
                        q = length
                        number[y, i] = q
                        place[q, 0], place[q, 1] = y, i
                        length += 1
                        enlist(q, place, number, levels, own, others, room, words, next_to)
                        left[q] = here[q] & ~(high[q] | mine[q] | theirs[q])
                        for back in range(4):
                            if next_to[q, back] >= LISTED:
                                next_to[next_to[q, back], back ^ 1] = q
                    if reached & left[q] and seen[q] != turn:
                        seen[q] = turn
                        around[many] = q
                        many += 1
    for m in range(LISTED, length):
        own[place[m, 0], place[m, 1]] = mine[m]


@njit(**OPTIONS)
def enlist(
    m: int, place: NDArray[np.int32], number: NDArray[np.int32], levels: NDArray[np.uint64], own: NDArray[np.uint64],
    others: NDArray[np.uint64], room: NDArray[np.uint64], words: NDArray[np.uint64], next_to: NDArray[np.int32],
) -> None:  # fmt: skip
    """Note what is known of a word that was given a place."""
    h, n = own.shape
    y, i = place[m, 0], place[m, 1]
    for k in range(len(levels)):
        room[k, m] = levels[k, y, i]
    words[MINE, m], words[THEIRS, m] = own[y, i], others[y, i]
    words[BESIDE_MINE, m], words[BESIDE_THEIRS, m] = NONE, NONE
    for side in range(4):
        v, j = word_at(side, y, i)
        next_to[m, side] = NOTHING
        if 0 <= v < h and 0 <= j < n:
            next_to[m, side] = number[v, j]
            if number[v, j] < LISTED:
                words[BESIDE_MINE, m] |= come_from(side, own[v, j])
                words[BESIDE_THEIRS, m] |= come_from(side, others[v, j])


@njit(**OPTIONS)
def go_under(own: NDArray[np.uint64], others: NDArray[np.uint64], lines: NDArray[np.uint64], rounds: int) -> None:
    """Let `own` and `others` (H, N), which are changed, go on a px a round into `lines`, to where they meet; a px that
    both reach is of `own`. By turns over sides and over corners too: so a round one stays round."""
    h, n = own.shape
    changed = np.zeros(h + 2, np.int64)  # the last round that changed each row; one above the first, one below the last
    # Of a row, with a word on both sides: what is above it, it itself, and what reaches it from other rows.
    own_up, others_up = np.zeros(n + 2, np.uint64), np.zeros(n + 2, np.uint64)
    own_here, others_here = np.zeros(n + 2, np.uint64), np.zeros(n + 2, np.uint64)
    own_round, others_round = np.zeros(n + 2, np.uint64), np.zeros(n + 2, np.uint64)
    still = 0  # rounds that reached nothing: of two one is over corners too
    for turn in range(1, rounds + 1):
        any_mine = False
        before = -2  # the row that is in `own_here`, as it was before this round
        for y in range(h):
            if turn - max(changed[y], changed[y + 1], changed[y + 2]) > 2:
                continue
            if before == y - 1:
                own_up, own_here = own_here, own_up
                others_up, others_here = others_here, others_up
            else:
                for i in range(n):
                    own_up[i + 1] = own[y - 1, i] if y > 0 else NONE
                    others_up[i + 1] = others[y - 1, i] if y > 0 else NONE
            before = y
            for i in range(n):
                own_here[i + 1], others_here[i + 1] = own[y, i], others[y, i]
                own_round[i + 1], others_round[i + 1] = own_up[i + 1], others_up[i + 1]
            if y < h - 1:
                for i in range(n):
                    own_round[i + 1] |= own[y + 1, i]
                    others_round[i + 1] |= others[y + 1, i]
            own_wide, others_wide = own_here, others_here
            if turn % 2 == 0:  # over corners too
                own_wide, others_wide = own_round, others_round
                for i in range(n):
                    own_round[i + 1] |= own_here[i + 1]
                    others_round[i + 1] |= others_here[i + 1]
            new, other = NONE, NONE
            for i in range(n):
                left = lines[y, i] & ~(own_here[i + 1] | others_here[i + 1])
                mine = left & (
                    own_round[i + 1] | (own_wide[i + 1] << ONE) | (own_wide[i + 1] >> ONE)
                    | (own_wide[i] >> LAST) | (own_wide[i + 2] << LAST)
                )  # fmt: skip
                theirs = left & ~mine & (
                    others_round[i + 1] | (others_wide[i + 1] << ONE) | (others_wide[i + 1] >> ONE)
                    | (others_wide[i] >> LAST) | (others_wide[i + 2] << LAST)
                )  # fmt: skip
                own[y, i] |= mine
                others[y, i] |= theirs
                new |= mine
                other |= theirs
            if new | other:
                changed[y + 1] = turn
            any_mine = any_mine or new != NONE
        still = 0 if any_mine else still + 1
        if still == 2:
            break


@njit(**OPTIONS)
def runs_of(words: NDArray[np.uint64], y0: int, x0: int) -> NDArray[np.int32]:
    """(N, 3) y, from x, up to x of the px of each row that are set, whose corner lies at (x0, y0)."""
    h, n = words.shape
    count = 0
    for y in range(h):
        before = NONE
        for i in range(n):
            starts = words[y, i] & ~((words[y, i] << ONE) | before)
            before = words[y, i] >> LAST
            while starts:
                starts &= starts - ONE
                count += 1
    out = np.empty((count, 3), np.int32)
    at = 0
    for y in range(h):
        is_inside = False
        for i in range(n):
            word = words[y, i]
            if word == (~NONE if is_inside else NONE):
                continue
            for eight in range(0, 64, 8):
                if (word >> np.uint64(eight)) & BYTE == (BYTE if is_inside else NONE):
                    continue
                for b in range(eight, eight + 8):
                    is_set = (word >> np.uint64(b)) & ONE != NONE
                    if is_set and not is_inside:
                        out[at, 0], out[at, 1] = y0 + y, x0 + 64 * i + b
                    elif is_inside and not is_set:
                        out[at, 2] = x0 + 64 * i + b
                        at += 1
                    is_inside = is_set
        if is_inside:
            out[at, 2] = x0 + 64 * n
            at += 1
    return out
