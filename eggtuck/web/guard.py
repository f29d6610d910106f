"""Only this machine's own pages may use the server."""

from __future__ import annotations

from urllib.parse import urlsplit

from flask import Flask, Response, request

from .problems import RefusedError

_POLICY = (
    "default-src 'self'; img-src 'self' data:; style-src 'self'; object-src 'none'; "
    "base-uri 'none'; form-action 'self'; frame-ancestors 'none'"
)
# Only the screen is kept awake beside the machine; nothing else of the device is asked for.
_PERMISSIONS = (
    "accelerometer=(), camera=(), display-capture=(), geolocation=(), gyroscope=(), hid=(), microphone=(), midi=(), payment=(), "
    "serial=(), usb=(), screen-wake-lock=(self)"
)
LOCAL = frozenset({"127.0.0.1", "localhost", "[::1]"})


def install(app: Flask, hosts: frozenset[str]) -> None:
    """Refuses foreign hosts and cross-site writes, and sends strict headers."""

    @app.before_request
    def check_origin() -> None:
        if _name(request.host) not in hosts:
            raise RefusedError(421, "address")
        if request.method in ("GET", "HEAD", "OPTIONS"):
            return
        origin = request.headers.get("Origin")
        if origin is not None and urlsplit(origin).netloc != request.host:
            raise RefusedError(403, "site")
        if request.headers.get("Sec-Fetch-Site", "same-origin") not in ("same-origin", "none"):
            raise RefusedError(403, "site")

    @app.after_request
    def add_headers(response: Response) -> Response:
        response.headers["Content-Security-Policy"] = _POLICY
        response.headers["X-Content-Type-Options"] = "nosniff"
        # Without one a form of this site would say it came from nowhere.
        response.headers["Referrer-Policy"] = "same-origin"
        response.headers["Cross-Origin-Resource-Policy"] = "same-origin"
        response.headers["Cross-Origin-Opener-Policy"] = "same-origin"
        response.headers["Permissions-Policy"] = _PERMISSIONS
        if request.path.startswith("/api/") and "Cache-Control" not in response.headers:
            response.headers["Cache-Control"] = "no-store"
        return response


def _name(host: str) -> str:
    return host.rsplit(":", 1)[0] if not host.endswith("]") else host
