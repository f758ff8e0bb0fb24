/**
 * What the type check takes for granted: elements of a page have whatever their selector says. Names, imports, arguments and
 * what functions return are checked.
 */
declare global {
    interface Element { [name: string]: any }
    interface EventTarget { [name: string]: any }
    interface Event { detail?: any; submitter?: any; code?: any; repeat?: any }
    interface Window { Alpine: any; nailrod: any; nailrodEarly?: () => string[] }
    interface Document { [name: string]: any }
}

export {};
