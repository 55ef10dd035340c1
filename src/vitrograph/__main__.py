"""`python -m vitrograph`: the same as the `vitrograph` command."""

import gc

# importing makes no garbage, and each pass of the collector over the growing heap delays the window
gc.disable()

from vitrograph.cli import main  # noqa: E402

raise SystemExit(main())
