@include('job.carried')
<div class="card">
    <p class="font-semibold">Not measuring yet</p>
    <p>What will be recorded here: pilot, flywheel bolts, centring, cover bolts by stage, clips removed and counted, gearbox.</p>
    <p class="mt-2">This station judges nothing so far and counts for nothing at sign-off. Write down what you find; it stays with the
        job.</p>
</div>
