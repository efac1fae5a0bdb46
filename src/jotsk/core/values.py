"""Frozen dataclasses that share how they are compared, hashed and shown.

The standard library compiles these for every class anew; for the hundred classes of a start that took a tenth of it.
"""

from __future__ import annotations

import dataclasses
from operator import attrgetter
from typing import TYPE_CHECKING, Any

if TYPE_CHECKING:
    from dataclasses import dataclass as dataclass
else:

    def dataclass(cls=None, /, *, frozen=False, eq=True, **options):
        """As that of the standard library, whose own it is unless it is frozen. What a class says of itself stays."""
        if not frozen:
            made = dataclasses.dataclass(eq=eq, **options)
        else:

            def made(plain):
                own = dict(plain.__dict__)
                whole = dataclasses.dataclass(frozen=True, eq=False, repr=False, **options)(plain)
                return _told(whole, own, eq)

        return made if cls is None else made(cls)


def _told(cls: Any, own: dict[str, Any], eq: bool) -> Any:
    """A class, with what it said of itself, that can be shown and, if its values are equal, compared."""
    if "__repr__" not in own:
        cls.__repr__ = _shown
    if eq:
        names = [each.name for each in dataclasses.fields(cls) if each.compare]
        # Of one name the value alone, of none the class itself: equal when they are.
        cls._compared = staticmethod(attrgetter(*names) if names else type)
        if "__eq__" not in own:
            cls.__eq__ = _equal
        if own.get("__hash__") is None:
            cls.__hash__ = _hash
    return cls


def _equal(self: Any, other: Any) -> bool:
    if other.__class__ is not self.__class__:
        return NotImplemented
    return bool(self._compared(self) == self._compared(other))


def _hash(self: Any) -> int:
    return hash(self._compared(self))


def _shown(self: Any) -> str:
    inside = ", ".join(f"{each.name}={getattr(self, each.name)!r}" for each in dataclasses.fields(self) if each.repr)
    return f"{type(self).__qualname__}({inside})"
