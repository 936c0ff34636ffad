export default { printWidth: 110, singleQuote: true };
