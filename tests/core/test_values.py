"""Frozen dataclasses against those of the standard library."""

from __future__ import annotations

import copy
import dataclasses
import pickle
from dataclasses import FrozenInstanceError, field, replace

import pytest

from jotsk.core.values import dataclass as ours

KINDS = {"ours": ours, "library": dataclasses.dataclass}


def classes(dataclass):
    @dataclass(frozen=True)
    class Point:
        x: float
        y: float = 2.0
        note: str = field(default="", compare=False, repr=False)

    @dataclass(frozen=True, slots=True)
    class Slotted:
        a: int

    @dataclass(frozen=True, kw_only=True)
    class Named(Point):
        z: tuple[int, ...] = ()

    @dataclass(frozen=True)
    class Empty:
        pass

    @dataclass(frozen=True, eq=False)
    class Itself:
        a: int

    @dataclass(frozen=True)
    class OwnWords:
        a: int

        def __eq__(self, other):
            return isinstance(other, OwnWords) and self.a % 3 == other.a % 3

        def __repr__(self):
            return "own"

    @dataclass(slots=True)
    class Loose:
        a: int

    return Point, Slotted, Named, Empty, Itself, OwnWords, Loose


@pytest.mark.parametrize("kind", KINDS)
def test_values_are_compared_hashed_and_shown_as_those_of_the_library(kind):
    point, slotted, named, empty, itself, own, loose = classes(KINDS[kind])
    assert point(1.0) == point(1.0, 2.0, "a") != point(1.0, 3.0) and hash(point(1.0)) == hash(point(1.0, note="b"))
    assert repr(point(1.0, note="c")) == f"{point.__qualname__}(x=1.0, y=2.0)"
    assert point(1.0) != named(x=1.0) and named(x=1.0, z=(1,)) != named(x=1.0) and point(1.0) != (1.0, 2.0)
    assert repr(named(x=1.0)) == f"{named.__qualname__}(x=1.0, y=2.0, z=())"
    assert (
        slotted(3) == slotted(3) != slotted(4)
        and len({slotted(3), slotted(3)}) == 1
        and not hasattr(slotted(3), "__dict__")
    )
    assert empty() == empty() and hash(empty()) == hash(empty()) and repr(empty()) == f"{empty.__qualname__}()"
    assert itself(1) != itself(1) and len({itself(1), itself(1)}) == 2
    assert own(1) == own(4) != own(2) and repr(own(1)) == "own" and isinstance(hash(own(1)), int)
    changed = loose(1)
    changed.a = 2
    assert changed == loose(2)
    assert replace(point(1.0), x=5.0) == point(5.0) and copy.copy(slotted(3)) == slotted(3)
    with pytest.raises(TypeError):
        hash(named(x=1.0, z=[1]))
    for one, name in ((point(1.0), "x"), (slotted(3), "a"), (named(x=1.0), "z")):
        with pytest.raises(FrozenInstanceError):
            setattr(one, name, 7.0)
    with pytest.raises(TypeError):
        named(1.0, 2.0, "", (1,))


@ours(frozen=True, slots=True)
class Kept:
    a: int
    b: str = "b"


def test_values_are_pickled():
    assert pickle.loads(pickle.dumps(Kept(3))) == Kept(3)
