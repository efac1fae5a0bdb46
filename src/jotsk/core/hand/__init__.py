"""What the hand did: traces, response curves, steadying, corners, the simulated pen."""

from jotsk.core.hand.response import LINEAR, ResponseCurve
from jotsk.core.hand.speed_weight import SpeedWeight
from jotsk.core.hand.steady_after import Steadier, steady_after
from jotsk.core.hand.steady_now import Stabilizer, stabilizer, steady_now
from jotsk.core.hand.trace import Sample, Trace, cleaned, trace_from
from jotsk.core.hand.tremor_meter import TremorMeter
from jotsk.core.hand.wobble import wobble_px

__all__ = [
    "LINEAR",
    "ResponseCurve",
    "Sample",
    "SpeedWeight",
    "Stabilizer",
    "Steadier",
    "Trace",
    "TremorMeter",
    "cleaned",
    "stabilizer",
    "steady_after",
    "steady_now",
    "trace_from",
    "wobble_px",
]
