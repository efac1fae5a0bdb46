"""What kernels name that numba is told in instructions of the processor. To import this takes as long as numba does."""

from __future__ import annotations

from numba import types
from numba.core.cgutils import voidptr_t
from numba.extending import intrinsic


@intrinsic
def scaled(typingctx, v, k):
    """Pixel v with all four channels times k / 255.

    Written in instructions of 32 bits: numba would multiply in 64, half as many px at once.
    """

    def made(context, builder, signature, arguments):
        v, k = arguments
        even, odd, half, eight = (v.type(n) for n in (0x00FF00FF, 0xFF00FF00, 0x00800080, 8))

        def times_k(two):  # two channels; the upper byte of each holds the result
            t = builder.add(builder.mul(builder.and_(two, even), k), half)
            return builder.add(t, builder.and_(builder.lshr(t, eight), even))

        rb = builder.and_(builder.lshr(times_k(v), eight), even)
        ga = builder.and_(times_k(builder.lshr(v, eight)), odd)
        return builder.or_(rb, ga)

    return types.uint32(types.uint32, types.uint32), made


@intrinsic
def pointer(typingctx, address):
    """An address as numba's `carray` wants it."""

    def made(context, builder, signature, arguments):
        return builder.inttoptr(arguments[0], voidptr_t)

    return types.voidptr(types.int64), made
