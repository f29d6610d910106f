/** Stands where something of a view has not come yet: till it has, or a second has passed, nothing of the view can be pressed, for what comes
 * moves what is below it. */
export function Coming() {
  return <i className="coming" hidden />;
}
