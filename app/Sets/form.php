<?php

declare(strict_types=1);

return '638adddb380b';
