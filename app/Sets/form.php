<?php

declare(strict_types=1);

return 'c15d8987e198';
