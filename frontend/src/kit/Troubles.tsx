import { useCallback, useEffect, useState } from "react";
import { ErrorBoundary, type FallbackProps } from "react-error-boundary";
import { Refused } from "../api/client";
import { troubleOf } from "../api/trouble";
import { OnTheWay } from "./OnTheWay";
import { Toast, type Notice } from "./Toast";
import { say } from "../words/say";

/** What nobody else took care of: told at the foot of the table, once. */
export function tell(error: unknown) {
  window.dispatchEvent(new CustomEvent("trouble", { detail: troubleOf(error) }));
}

/** Where every error ends that no view tells itself. */
export function Troubles({ children }: { children: React.ReactNode }) {
  const [notice, setNotice] = useState<Notice | null>(null);
  const gone = useCallback(() => setNotice(null), []);
  useEffect(() => {
    const told = (event: Event) => setNotice({ text: (event as CustomEvent<string>).detail });
    const dropped = (event: PromiseRejectionEvent) => {
      // Only what was asked of the server; a fault of ours stays one.
      const unanswered = event.reason instanceof TypeError && /fetch|network/i.test(event.reason.message);
      if (!unanswered && !(event.reason instanceof Refused)) return;
      event.preventDefault();
      tell(event.reason);
    };
    window.addEventListener("trouble", told);
    window.addEventListener("unhandledrejection", dropped);
    return () => {
      window.removeEventListener("trouble", told);
      window.removeEventListener("unhandledrejection", dropped);
    };
  }, []);
  return (
    <>
      <ErrorBoundary FallbackComponent={Broken}>{children}</ErrorBoundary>
      <OnTheWay />
      {notice && <Toast notice={notice} onGone={gone} />}
    </>
  );
}

/** Instead of a view that cannot be drawn. */
function Broken({ resetErrorBoundary }: FallbackProps) {
  return (
    <main className="linen home" role="alert">
      <h1>{say("broken")}</h1>
      <p>{say("broken.text")}</p>
      <p>
        <button type="button" className="button" onClick={resetErrorBoundary}>
          {say("broken.again")}
        </button>{" "}
        <a className="button" href="/">
          {say("broken.table")}
        </a>
      </p>
    </main>
  );
}
