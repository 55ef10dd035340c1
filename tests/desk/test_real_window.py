"""One window on a real (virtual) display, run as the program itself."""

import os
import shutil
import subprocess
import sys
import time
from pathlib import Path

import pytest

ROOT = Path(__file__).parents[2]


@pytest.mark.real_window
def test_the_demo_opens_a_real_window(tmp_path):
    assert shutil.which("Xvfb"), "Xvfb is needed for this test: apt-get install xvfb xauth"
    read, write = os.pipe()
    display = subprocess.Popen(["Xvfb", "-displayfd", str(write), "-screen", "0", "1280x800x24", "-nolisten", "tcp"],
                               pass_fds=[write], stderr=subprocess.DEVNULL)
    os.close(write)
    try:
        with os.fdopen(read) as answer:
            number = answer.readline().strip()
        environment = {**os.environ, "DISPLAY": f":{number}", "QT_QPA_PLATFORM": "xcb", "PYTHONPATH": str(ROOT / "src"),
                       "XDG_DATA_HOME": str(tmp_path)}
        program = subprocess.Popen([sys.executable, "-m", "vitrograph", "demo"], env=environment,
                                   stderr=subprocess.PIPE, text=True)
        try:
            wait_for_window(environment, "Open night")
            assert program.poll() is None
        finally:
            program.terminate()
            errors = program.communicate(timeout=20)[1]
        assert "Traceback" not in errors and "vitrograph:" not in errors
    finally:
        display.terminate()
        display.wait(timeout=10)


def wait_for_window(environment: dict[str, str], title: str) -> None:
    """Ask the display, through a second program's eyes, until a window of that title stands."""
    deadline = time.monotonic() + 60
    while time.monotonic() < deadline:
        if title in titles(environment):
            return
        time.sleep(0.3)
    raise AssertionError(f"no window titled {title!r} within a minute; there are: {titles(environment)!r}")


def titles(environment: dict[str, str]) -> str:
    """Names of all windows, read with libxcb, which Qt brings along in any case."""
    script = Path(__file__).with_name("window_titles.py")
    return subprocess.run([sys.executable, str(script)], env=environment, capture_output=True, text=True,
                          timeout=30, check=False).stdout
