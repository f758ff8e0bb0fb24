declare module '@alpinejs/csp';
declare module '@alpinejs/focus';
declare module '@alpinejs/morph';
