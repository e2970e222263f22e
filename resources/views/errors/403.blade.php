<x-trouble title="Not yours to do" :said="$exception->getMessage() !== '' && $exception->getMessage() !== 'This action is unauthorized.'
    ? $exception->getMessage() : 'Only the lead may do that.'" />
