"""What ships beside the code: the guide, fonts, glasses, recipes, the demo, translations and what a desktop reads."""

from pathlib import Path

SHIPPED = Path(__file__).parent    # `importlib.resources` would take a twentieth of the window's start
