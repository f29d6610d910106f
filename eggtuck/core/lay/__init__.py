"""Fabric and notions: what the pieces take and what to buy."""
