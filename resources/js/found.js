/** What a hand has touched: the server tells it, and leaves out what moves by itself. */
let counted = null;
const hearers = [];

/** @param {(ref: string, picture: any) => void} hear reference of the control that was pressed or moved, and how the rig was then */
export function onFound(hear) {
    hearers.push(hear);
}

document.addEventListener('live:answer', ({ detail }) => {
    const { n, ref } = detail.found;
    const isNew = counted !== null && n > counted;
    counted = n;
    if (isNew) {
        hearers.forEach((hear) => hear(ref, detail));
    }
});
