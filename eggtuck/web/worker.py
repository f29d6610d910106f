"""A process that answers: no thread of it is taken by whoever has not asked anything yet, however many those are."""

from __future__ import annotations

import selectors
import socket
import time
from functools import partial
from typing import Any

from gunicorn.workers.gthread import TConn, ThreadWorker

# How long somebody may take to say what is asked for (s), and how much that is looked at (bytes).
PATIENCE = 10.0
_HEAD = 65_536


class Worker(ThreadWorker):  # type: ignore[misc]
    """Waits for the whole head of a request before it gives a connection to a thread."""

    def accept(self, listener: socket.socket) -> None:
        try:
            sock, client = listener.accept()
        except OSError:
            # Gone again, or taken by another process.
            return
        self.nr_conns += 1
        conn = TConn(self.cfg, sock, client, listener.getsockname())
        conn.timeout = time.monotonic() + PATIENCE
        self.pending_conns.append(conn)
        self.poller.register(sock, selectors.EVENT_READ, partial(self.on_pending_socket_readable, conn))

    def on_pending_socket_readable(self, conn: Any, client: socket.socket) -> None:
        if _whole(client):
            super().on_pending_socket_readable(conn, client)

    def on_client_socket_readable(self, conn: Any, client: socket.socket) -> None:
        if _whole(client):
            super().on_client_socket_readable(conn, client)


def _whole(client: socket.socket) -> bool:
    """Whether the head of a request is there, or the other side is gone. If not, the socket is only told of again when there is more of it."""
    try:
        said = client.recv(_HEAD, socket.MSG_PEEK)
    except BlockingIOError:
        return False
    except OSError:
        return True
    whole = not said or b"\r\n\r\n" in said or len(said) == _HEAD
    client.setsockopt(socket.SOL_SOCKET, socket.SO_RCVLOWAT, 1 if whole else len(said) + 1)
    return whole
