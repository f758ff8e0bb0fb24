<x-plain title="A fault">
    <h1>Something broke in Nailrod</h1>
    <p>Your sets are as they were. What went wrong is written in <code>storage/logs/nailrod.log</code>.</p>
    <p><a class="button" href="/">To the rig</a></p>
</x-plain>
