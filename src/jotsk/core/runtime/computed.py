"""Attributes computed when first asked for."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any, Generic, TypeVar, overload

V = TypeVar("V")


class computed(Generic[V]):
    """`functools.cached_property` without the lock that Python 3.11 holds over all instances while one computes.

    Two threads that ask one instance at the same moment both compute; either result serves.
    """

    def __init__(self, compute: Callable[[Any], V]) -> None:
        self._compute = compute
        self._name = compute.__name__
        self.__doc__ = compute.__doc__

    @overload
    def __get__(self, instance: None, owner: type) -> computed[V]: ...
    @overload
    def __get__(self, instance: object, owner: type) -> V: ...
    def __get__(self, instance: object | None, owner: type) -> computed[V] | V:
        if instance is None:
            return self
        value = self._compute(instance)
        instance.__dict__[self._name] = value
        return value
