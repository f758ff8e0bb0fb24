import tailwindcss from '@tailwindcss/vite';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [laravel({ input: ['resources/css/app.css', 'resources/js/app.js', 'resources/js/early.js', 'resources/js/list.js', 'resources/js/hand.js', 'resources/js/phone.js'], refresh: false }), tailwindcss()],
    build: { assetsInlineLimit: 0 },
});
