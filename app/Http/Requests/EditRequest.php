<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** An edit that names a thing and has no further fields. */
final class EditRequest extends RevisionRequest {}
