<p class="refusal" role="alert"><strong>This is not what was signed.</strong> The stored file no longer matches the hash noted when it was
    signed. Do not rely on it; restore it from a backup or from a downloaded copy.</p>
