import { Controller, Get, Param, ParseUUIDPipe, Query, StreamableFile } from '@nestjs/common';
import { DarwinQueryDto, ReportQueryDto } from '@keeper/contract/others';
import { geoJson } from '@keeper/core/formats/geoJson';
import { gpx } from '@keeper/core/formats/gpx';
import { streamText } from '../streamText.js';
import { ForOthersService } from './forOthers.service.js';

/** What leaves for others, in the formats that they read. */
@Controller()
export class ForOthersController {
  constructor(private readonly others: ForOthersService) {}

  @Get('darwin-core.zip')
  darwinCore(@Query() query: DarwinQueryDto): StreamableFile {
    return new StreamableFile(this.others.darwinCore(query, new Date()), {
      type: 'application/zip',
      disposition: 'attachment; filename="darwin-core.zip"',
    });
  }

  @Get('waters/:waterId/report.csv')
  report(@Param('waterId', ParseUUIDPipe) waterId: string, @Query() query: ReportQueryDto): StreamableFile {
    return streamText([this.others.report(waterId, query)], 'text/csv; charset=utf-8', 'report.csv');
  }

  @Get('places.geojson')
  geoJson(): StreamableFile {
    return streamText([geoJson(this.others.places())], 'application/geo+json', 'places.geojson');
  }

  @Get('places.gpx')
  gpx(): StreamableFile {
    return streamText([gpx(this.others.places())], 'application/gpx+xml', 'places.gpx');
  }
}
