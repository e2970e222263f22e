<dialog id="photo" class="photo-viewer card" aria-labelledby="photo-title">
    <div class="flex flex-wrap items-center gap-2">
        <h2 id="photo-title" class="grow text-xl font-bold">Photo</h2>
        <button type="button" class="btn" data-by="-1">Smaller</button>
        <button type="button" class="btn" data-by="1">Larger</button>
        <button type="button" class="btn" data-close>Close</button>
    </div>
    <div class="photo-frame" tabindex="0"><img alt=""></div>
</dialog>
