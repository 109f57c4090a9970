/** Where the built pieces are kept; their names change with their contents. */
export const BUILT = 'tinta-build'
