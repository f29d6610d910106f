/** Which device beside the server's machine this page is shown on, and whether that only sews and logs; "" on the machine itself. */
const { device = "", may } = document.documentElement.dataset;

export const DEVICE = device;
export const SEWS = may === "sew";
