/** Stands in for the address the build gives a file. */
export default '/address-of-a-file'
