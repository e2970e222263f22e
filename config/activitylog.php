<?php

declare(strict_types=1);

use App\Audit\AuditEntry;

return [
    'enabled' => true,
    'delete_records_older_than_days' => 1095,
    'default_log_name' => 'default',
    'default_auth_driver' => null,
    'subject_returns_soft_deleted_models' => false,
    'activity_model' => AuditEntry::class,
    'table_name' => 'activity_log',
    'database_connection' => null,
];
