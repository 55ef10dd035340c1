"""Every test has its own data, state and log folders, none of them the maker's; what is hostile runs within bounds."""

import os
import random
import resource
import secrets
import subprocess
import sys

import pytest
from hypothesis import settings

import vitrograph  # noqa: F401, before any test: it says how the linear algebra library is to work

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
# the machine may be busy: no example may fail for being slow, and every run draws the same examples
settings.register_profile("vitrograph", deadline=None, derandomize=True)
settings.load_profile("vitrograph")
# hostile files are made anew for each run; VITROGRAPH_SEED makes those of an earlier run again
os.environ.setdefault("VITROGRAPH_SEED", str(secrets.randbelow(10**9)))


def pytest_report_header():
    return f"hostile files: VITROGRAPH_SEED={os.environ['VITROGRAPH_SEED']}"


def pytest_terminal_summary(terminalreporter):
    """Said again at the end where something failed: a quiet run has no head."""
    if terminalreporter.stats.get("failed"):
        terminalreporter.write_line(pytest_report_header())


MOST_BYTES = 1_500_000_000             # of addresses, of which libraries take a third before any work
SECONDS = 300.0                        # far above what is promised: machines of all speeds run this


@pytest.fixture(autouse=True)
def own_folders(tmp_path, monkeypatch):
    for name in ("XDG_DATA_HOME", "XDG_STATE_HOME", "XDG_CACHE_HOME", "XDG_CONFIG_HOME"):
        monkeypatch.setenv(name, str(tmp_path / name.lower()))


@pytest.fixture
def rng(request):
    """Chance of this test's own, from the run's seed."""
    return random.Random(f"{os.environ['VITROGRAPH_SEED']} {request.node.name}")


@pytest.fixture(autouse=True)
def undisturbed(monkeypatch):
    """What is said on stderr is the same on a slow machine: that it is at work is no answer."""
    monkeypatch.setattr("vitrograph.at_work._FIRST_S", 600.0)


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
