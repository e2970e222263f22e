<x-trouble title="Not here" :said="$exception->getMessage() !== '' && ! str_contains($exception->getMessage(), '\\')
    && ! str_contains($exception->getMessage(), 'route') ? $exception->getMessage() : 'There is nothing at this address.'" />
