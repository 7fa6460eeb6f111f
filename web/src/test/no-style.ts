/** Stands for a style sheet where there is nothing to style. */
export default {};
