<?php

declare(strict_types=1);

return '3078a5b2748c';
