<?php

declare(strict_types=1);

return 'd40a962a91f2';
