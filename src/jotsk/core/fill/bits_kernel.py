"""Floods over pictures of one bit a px, compiled: 64 px are looked at at once.

A picture is uint64 (H, N): bit b of word k of a row is px 64 k + b; the bits beyond its width are 0.
"""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from jotsk.core.runtime.kernels import njit

OPTIONS = {"cache": True, "nogil": True}
ONE, LAST, NONE = np.uint64(1), np.uint64(63), np.uint64(0)


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
def sideways(words: NDArray[np.uint64], y: int, i: int) -> np.uint64:
    """The px of a word that have a neighbour to the left or to the right that is set."""
    found = (words[y, i] << ONE) | (words[y, i] >> ONE)
    if i > 0:
        found |= words[y, i - 1] >> LAST
    if i < words.shape[1] - 1:
        found |= words[y, i + 1] << LAST
    return found


@njit(inline="always", **OPTIONS)
def beside(words: NDArray[np.uint64], y: int, i: int) -> np.uint64:
    """The px of a word that have a neighbour above, below, to the left or to the right that is set."""
    found = sideways(words, y, i)
    if y > 0:
        found |= words[y - 1, i]
    if y < words.shape[0] - 1:
        found |= words[y + 1, i]
    return found


@njit(inline="always", **OPTIONS)
def corner_too(words: NDArray[np.uint64], y: int, i: int) -> np.uint64:
    """As `beside`, and the px that have a neighbour at a corner."""
    found = beside(words, y, i)
    if y > 0:
        found |= sideways(words, y - 1, i)
    if y < words.shape[0] - 1:
        found |= sideways(words, y + 1, i)
    return found


@njit(**OPTIONS)
def filled(seeds: np.uint64, room: np.uint64) -> np.uint64:
    """The runs of `room` that have a seed: both ways at once, in steps that double (Kogge and Stone)."""
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
    first = y * n + x // 64
    out.ravel()[first] = room[y, x // 64] & (ONE << np.uint64(x % 64))
    waits = np.zeros(h * n, np.bool_)
    stack = np.empty(h * n, np.int64)
    stack[0] = first
    waits[first] = True
    count = 1
    while count:
        count -= 1
        at = stack[count]
        waits[at] = False
        v, i = at // n, at % n
        seeds = (beside(out, v, i) | out[v, i]) & room[v, i]
        whole = filled(seeds, room[v, i])
        if whole == out[v, i] and at != first:
            continue
        out[v, i] = whole
        for side in range(4):
            u = v + (1 if side == 2 else -1 if side == 3 else 0)
            j = i + (1 if side == 0 else -1 if side == 1 else 0)
            if u < 0 or u == h or j < 0 or j == n:
                continue
            there = u * n + j
            if not waits[there] and room[u, j] & ~out[u, j]:
                waits[there] = True
                stack[count] = there
                count += 1
    return out


@njit(**OPTIONS)
def near_words(words: NDArray[np.uint64], px: int) -> NDArray[np.bool_]:
    """Which words (H, N) lie within so many px, by rows and by whole words, of one that has px."""
    h, n = words.shape
    columns = (px + 63) // 64
    out = np.zeros((h, n), np.bool_)
    for way in range(2):
        since = np.full(n, px + 1)
        for step in range(h):
            y = step if way == 0 else h - 1 - step
            for i in range(n):
                since[i] = 0 if words[y, i] else since[i] + 1
                if since[i] <= px:
                    for j in range(max(0, i - columns), min(n, i + columns + 1)):
                        out[y, j] = True
    return out


@njit(inline="always", **OPTIONS)
def left_at(
    levels: NDArray[np.uint64], k: int, high: int, own: NDArray[np.uint64], others: NDArray[np.uint64], y: int, i: int
) -> np.uint64:
    """The px of a word that are in level `k`, not beyond level `high`, and not reached."""
    return levels[k, y, i] & ~(levels[high, y, i] | own[y, i] | others[y, i])


@njit(**OPTIONS)
def downhill(
    levels: NDArray[np.uint64], highest: NDArray[np.int64], own: NDArray[np.uint64], others: NDArray[np.uint64],
    px: int,
) -> None:  # fmt: skip
    """Let two floods go on, level by level, into px nearer to the lines: `own` and `others` (H, N), which are changed.

    `levels` (K + 1, H, N) are the px farther than each distance, the first of them all that are free. From the last but
    one on, px of level k that are not beyond level `highest[k]` are reached from px that were. Where both come to a px
    in the same step, it is of `own`. The others are followed only within about so many `px` of where `own` began.
    """
    h, n = own.shape
    most, last = h * n, len(levels) - 1
    is_listed = near_words(own, px)
    listed = np.empty((most, 2), np.int32)  # the words that are looked at
    length = 0
    for y in range(h):
        for i in range(n):
            is_listed[y, i] = is_listed[y, i] and (levels[0, y, i] & ~levels[last, y, i]) != NONE
            if is_listed[y, i]:
                listed[length, 0], listed[length, 1] = y, i
                length += 1
    changed, around = np.empty((most, 2), np.int32), np.empty((most, 2), np.int32)
    news, others_news = np.empty(most, np.uint64), np.empty(most, np.uint64)
    seen, turn = np.zeros((h, n), np.int32), 0
    for k in range(last - 1, -1, -1):
        high = highest[k]
        looked_at, many = listed, length  # first all that are listed, later those beside what was reached
        while many:
            count = 0
            for c in range(many):
                y, i = looked_at[c, 0], looked_at[c, 1]
                left = left_at(levels, k, high, own, others, y, i)
                if left == NONE:
                    continue
                mine = beside(own, y, i) & left
                theirs = beside(others, y, i) & left & ~mine
                if mine | theirs:
                    changed[count, 0], changed[count, 1], news[count], others_news[count] = y, i, mine, theirs
                    count += 1
            turn += 1
            many = 0
            for c in range(count):
                y, i = changed[c, 0], changed[c, 1]
                own[y, i] |= news[c]
                others[y, i] |= others_news[c]
            for c in range(count):
                y, i, new = changed[c, 0], changed[c, 1], news[c] | others_news[c]
                for side in range(5):
                    if side == 0:
                        v, j, reached = y, i, (new << ONE) | (new >> ONE)
                    elif side == 1:
                        v, j, reached = y, i + 1, new >> LAST
                    elif side == 2:
                        v, j, reached = y, i - 1, new << LAST
                    else:
                        v, j, reached = (y + 1 if side == 3 else y - 1), i, new
                    if reached == NONE or v < 0 or v == h or j < 0 or j == n:
                        continue
                    reached &= levels[0, v, j]
                    if reached == NONE:
                        continue
                    if not is_listed[v, j]:
                        if news[c] == NONE:
                            continue
                        is_listed[v, j] = True
                        listed[length, 0], listed[length, 1] = v, j
                        length += 1
                    if reached & left_at(levels, k, high, own, others, v, j) and seen[v, j] != turn:
                        seen[v, j] = turn
                        around[many, 0], around[many, 1] = v, j
                        many += 1
            looked_at = around


@njit(**OPTIONS)
def go_under(own: NDArray[np.uint64], others: NDArray[np.uint64], lines: NDArray[np.uint64], rounds: int) -> None:
    """Let `own` and `others` (H, N), which are changed, go on a px a round into `lines`, to where they meet; a px that
    both reach is of `own`. By turns over sides and over corners too: so a round one stays round."""
    h, n = own.shape
    is_near = near_words(own, 2 * rounds)  # the others come from as far beyond the middle
    places = np.empty((h * n, 2), np.int32)
    count = 0
    for y in range(h):
        for i in range(n):
            if is_near[y, i] and lines[y, i] & ~(own[y, i] | others[y, i]):
                places[count, 0], places[count, 1] = y, i
                count += 1
    news, others_news = np.empty(count, np.uint64), np.empty(count, np.uint64)
    still = 0  # rounds that reached nothing: of two one is over corners too
    for turn in range(rounds):
        changes = False
        for c in range(count):
            y, i = places[c]
            left = lines[y, i] & ~(own[y, i] | others[y, i])
            mine = (beside(own, y, i) if turn % 2 == 0 else corner_too(own, y, i)) & left
            theirs = (beside(others, y, i) if turn % 2 == 0 else corner_too(others, y, i)) & left & ~mine
            news[c], others_news[c] = mine, theirs
            changes = changes or mine != NONE
        still = 0 if changes else still + 1
        if still == 2:
            break
        kept = 0
        for c in range(count):
            y, i = places[c]
            own[y, i] |= news[c]
            others[y, i] |= others_news[c]
            if lines[y, i] & ~(own[y, i] | others[y, i]):
                places[kept, 0], places[kept, 1] = y, i
                kept += 1
        count = kept


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
            for b in range(64):
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
