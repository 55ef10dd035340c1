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


@pytest.mark.skipif(shutil.which("weston") is None, reason="no weston here: nobody looks on a Wayland display")
@pytest.mark.parametrize("scale", [1, 2])
def test_it_opens_on_a_wayland_display_too_as_fine_as_that_is(tmp_path, scale):
    """Told by the protocol itself: the window's title, and how many pixels its picture has for one of the desktop's."""
    folder = tmp_path / "run"
    folder.mkdir(mode=0o700)
    environment = {**os.environ, "XDG_RUNTIME_DIR": str(folder), "WAYLAND_DISPLAY": "wayland-test",
                   "QT_QPA_PLATFORM": "wayland", "WAYLAND_DEBUG": "client", "PYTHONPATH": str(ROOT / "src")}
    display = subprocess.Popen(["weston", "--backend=headless-backend.so", "--socket=wayland-test", "--idle-time=0",
                                f"--scale={scale}", "--width=2560", "--height=1600"], env=environment,
                               stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
    try:
        wait_until(lambda: (folder / "wayland-test").exists(), "no Wayland display")
        with (tmp_path / "told").open("w") as told:
            program = subprocess.Popen([sys.executable, "-m", "vitrograph", "demo"], env=environment, stderr=told)
        said = (tmp_path / "told").read_text
        try:
            wait_until(lambda: 'set_title("Open night' in said(errors="replace"), "no window titled by its order")
            wait_until(lambda: scale == 1 or f"set_buffer_scale({scale})" in said(errors="replace"),
                       "its picture is as coarse as before")
            assert program.poll() is None
        finally:
            program.terminate()
            program.wait(timeout=20)
        assert "Traceback" not in said(errors="replace")
    finally:
        display.terminate()
        display.wait(timeout=10)


def wait_until(true, otherwise: str) -> None:
    deadline = time.monotonic() + 60
    while not true():
        assert time.monotonic() < deadline, otherwise
        time.sleep(0.2)
