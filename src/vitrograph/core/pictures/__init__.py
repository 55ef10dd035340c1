"""Pictures: reading what the maker brings, and the edges of a glass in one."""
