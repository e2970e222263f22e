<x-trouble title="Not understood" :said="$exception->getMessage() !== '' ? $exception->getMessage() : 'What was sent has another shape
    than is expected.'" />
