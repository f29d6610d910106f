import { useState } from "react";
import Modal from "react-bootstrap/Modal";
import { useKeys } from "./useKeys";

const KEYS: [string, string][] = [
  ["Ctrl Z", "undo the last entry, in any later sitting too"],
  ["Ctrl Shift Z", "do it again"],
  ["1 to 7", "go to a stage of the tape"],
  ["[ and ]", "the stage before, the stage after"],
  ["↑ ↓", "in a measure: one mark of the ruler up or down; on the form: tilt it"],
  ["← →", "on the form: turn it; while sewing: step before, step after"],
  ["+ −", "on the form or the pieces: nearer, farther"],
  ["0", "on the pieces: all of them again"],
  ["Esc", "in a measure: what it was before"],
  ["Space", "while sewing: the next step"],
  ["?", "this list"],
];

/** The keys there are, on `?`. */
export function Keys() {
  const [open, setOpen] = useState(false);
  useKeys({ "[Shift]+?": () => setOpen(true) });
  return (
    <Modal show={open} onHide={() => setOpen(false)} aria-labelledby="keys" animation={false} centered>
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="keys">
          Keys
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <dl className="keys">
          {KEYS.map(([key, what]) => (
            <div key={key}>
              <dt>
                <kbd>{key}</kbd>
              </dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
      </Modal.Body>
    </Modal>
  );
}
