<div class="card">
    <p class="font-semibold">Not measuring yet</p>
    <p>What will be recorded here: the new parts against the old: diameters, hole pattern, spline on the real shaft, hub heights, which side
        faces the flywheel, the trial release.</p>
    <p class="mt-2">This station judges nothing so far and counts for nothing at sign-off. Write down what you find; it stays with the
        job.</p>
</div>
