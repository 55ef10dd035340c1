"""`python -m vitrograph`: the same as the `vitrograph` command."""

from vitrograph.cli import main

raise SystemExit(main())
