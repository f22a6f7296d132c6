/** Why a database cannot be used, in words for whoever starts the program; the files are left as they are. */
export class StorageProblem extends Error {}
