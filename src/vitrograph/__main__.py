"""`python -m vitrograph`: the same as the `vitrograph` command."""

from vitrograph.start import main

raise SystemExit(main())
