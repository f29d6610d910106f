import { useState } from "react";
import Modal from "react-bootstrap/Modal";
import { useKeys } from "./useKeys";
import { say } from "../words/say";

const KEYS = [
  "key-undo",
  "key-redo",
  "key-stage",
  "key-next",
  "key-up",
  "key-side",
  "key-near",
  "key-part",
  "key-all",
  "key-escape",
  "key-space",
  "key-list",
] as const;

/** The keys there are, on `?`. */
export function Keys() {
  const [open, setOpen] = useState(false);
  useKeys({ "[Shift]+?": () => setOpen(true) });
  return (
    <Modal show={open} onHide={() => setOpen(false)} aria-labelledby="keys" animation={false} centered>
      <Modal.Header closeButton closeLabel={say("editor-close")}>
        <Modal.Title as="h2" id="keys">
          {say("keys")}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <dl className="keys">
          {KEYS.map((key) => (
            <div key={key}>
              <dt>
                <kbd>{say(key)}</kbd>
              </dt>
              <dd>{say(`${key}.does`)}</dd>
            </div>
          ))}
        </dl>
      </Modal.Body>
    </Modal>
  );
}
