/** Stands where something of a view has not come yet: till it has nothing of the view is shown or can be pressed, for what comes moves what is
 * below it. Where that takes longer than a second it is told, once for every view. */
export function Coming() {
  return <i className="coming" hidden />;
}
