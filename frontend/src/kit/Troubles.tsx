import { useEffect } from "react";
import { ErrorBoundary, type FallbackProps } from "react-error-boundary";
import { Refused } from "../api/client";
import { troubleOf } from "../api/trouble";
import { OnTheWay } from "./OnTheWay";
import { Toast } from "./Toast";
import { useNotice } from "./useNotice";
import { say } from "../words/say";

/** What nobody else took care of: told at the foot of the table, once. */
export function tell(error: unknown) {
  window.dispatchEvent(new CustomEvent("trouble", { detail: troubleOf(error) }));
}

/** Where every error ends that no view tells itself. */
export function Troubles({ children }: { children: React.ReactNode }) {
  const notices = useNotice();
  const { show } = notices;
  useEffect(() => {
    const told = (event: Event) => show({ text: (event as CustomEvent<string>).detail });
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
  }, [show]);
  return (
    <>
      {children}
      <OnTheWay />
      {notices.shown && <Toast of={notices} />}
    </>
  );
}

/** A view; where it cannot be drawn, what says so until another one is gone to. */
export function Guarded({ at, children }: { at: string; children: React.ReactNode }) {
  return (
    <ErrorBoundary FallbackComponent={Broken} resetKeys={[at]}>
      {children}
    </ErrorBoundary>
  );
}

/** Where not even what every view has can be drawn. */
export function WhollyBroken() {
  return <Broken error={null} resetErrorBoundary={() => window.location.reload()} />;
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
