"""What was done: steps that are open or packed, and memory that is given back when they go."""

from jotsk.core.page.history.history import History, Step, step_cost
from jotsk.core.page.history.open_steps import StepCost

__all__ = ["History", "Step", "StepCost", "step_cost"]
