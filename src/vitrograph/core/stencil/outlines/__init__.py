"""The film itself: its outline and tab, the marks on it, and the glass it guards."""
