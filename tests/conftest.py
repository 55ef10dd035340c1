"""Every test has its own data, state and log folders; no test touches the maker's."""

import os
import secrets

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


@pytest.fixture(autouse=True)
def own_folders(tmp_path, monkeypatch):
    for name in ("XDG_DATA_HOME", "XDG_STATE_HOME", "XDG_CACHE_HOME", "XDG_CONFIG_HOME"):
        monkeypatch.setenv(name, str(tmp_path / name.lower()))
