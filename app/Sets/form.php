<?php

declare(strict_types=1);

return '8d240f7f9d80';
