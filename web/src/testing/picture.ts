/** Stands for the address of a picture, which no test looks at. */
export default '/picture.png';
