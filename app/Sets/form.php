<?php

declare(strict_types=1);

return '31a8c04d494c';
