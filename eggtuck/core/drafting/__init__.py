"""How a form describes itself, how a spec is read for it, and how a draft is put together."""
