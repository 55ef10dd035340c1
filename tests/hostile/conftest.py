"""What no maker would bring on purpose, made anew for each run from a seed that the run's heading tells."""

import os
import random
import resource
import subprocess
import sys

import pytest

MOST_BYTES = 1_500_000_000             # of addresses, of which libraries take a third before any work
SECONDS = 300.0                        # far above what is promised: machines of all speeds run this


@pytest.fixture
def rng(request):
    """Chance of this test's own, from the run's seed."""
    return random.Random(f"{os.environ['VITROGRAPH_SEED']} {request.node.name}")


@pytest.fixture
def bounded():
    """Run Python in a child that may not take more memory than is promised; give back how it ended."""
    def run(*words, stdout=subprocess.PIPE):
        return Ended(subprocess.run(
            [sys.executable, *map(str, words)], stdout=stdout, stderr=subprocess.PIPE, text=True, timeout=SECONDS,
            check=False, preexec_fn=lambda: resource.setrlimit(resource.RLIMIT_AS, (MOST_BYTES, MOST_BYTES))))

    return run


class Ended:
    """How a child ended."""

    def __init__(self, done):
        self.code, self.stdout, self.stderr = done.returncode, done.stdout, done.stderr

    @property
    def sentence(self):
        """The one line that was said beside being at work, if any; a traceback is none."""
        said = [line for line in self.stderr.splitlines() if line and "at work for" not in line]
        assert len(said) <= 1 and "Traceback" not in self.stderr, self.stderr[-800:]
        return said[0] if said else ""
