"""What an evening is planned for: the glasses and how far each is, the time, and the places there are."""

from functools import cached_property

from msgspec import Struct

from vitrograph.core.work.evening.chains import Begun, Chain

Leg = tuple[int, int, int]         # glass, its first task, after its last


class Setting(Struct, frozen=True, dict=True):
    """The chains of an evening, how far each is, from when on it is planned, and how many places there are.

    `busy` is when the hands are free, where they are at something now.
    """

    chains: tuple[Chain, ...]
    places: int = 10**6
    begun: tuple[Begun, ...] = ()
    now: float = 0.0
    busy: float = 0.0

    @cached_property
    def stands(self) -> tuple[Begun, ...]:
        """How far each glass is."""
        return self.begun or tuple(Begun(start=self.now, end=self.now) for _ in self.chains)

    def legs_of(self, glass: int) -> list[Leg]:
        """What is still to do of a glass, in legs."""
        stand = self.stands[glass]
        if stand.out or stand.done >= len(self.chains[glass].tasks):
            return []
        return [(glass, first, end) for first, end in self.chains[glass].legs(stand.done)]
