<div class="card">
    <p class="font-semibold">Not measuring yet</p>
    <p>What will be recorded here: the signs and the tests done from outside, ranked causes with their reasons, and the next test worth its minutes.</p>
    <p class="mt-2">This station judges nothing so far and counts for nothing at sign-off. Write down what you find; it stays with the job.</p>
    <p class="mt-2 soft">Photos will be kept here with the part they show; taking them in is not built yet.</p>
</div>
