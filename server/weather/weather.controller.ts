import { Controller, Get, Inject, Query } from '@nestjs/common';
import { ForecastQueryDto, type Forecast } from '@keeper/contract/weather';
import { say } from '../say.js';
import { whyNotBelieved, type WeatherService } from '@keeper/core/weather/weatherService';
import { Problem } from '../errors/problem.js';
import { wait, WEATHER_SOURCE, type WeatherSource } from './weatherSource.js';

/** Nobody on a bank waits longer. */
const PATIENCE_MS = 4000;

/** Asks the weather service, and does not believe all that it says. */
@Controller('weather')
export class WeatherController {
  constructor(@Inject(WEATHER_SOURCE) private readonly source: WeatherSource) {}

  @Get()
  async forecast(@Query() query: ForecastQueryDto): Promise<Forecast> {
    const { latitudeDeg, longitudeDeg, from, hours } = query;
    const service = this.source(query.day, query.behave);
    const wanted = { position: { latitudeDeg, longitudeDeg }, fromMs: Date.parse(from), hours };
    return { service: service.name, hours: await believed(service, wanted) };
  }
}

async function believed(service: WeatherService, wanted: Parameters<WeatherService['forecast']>[0]) {
  const late = wait(PATIENCE_MS).then(() => {
    throw failed('The weather service has not answered in time.');
  });
  const hours = await Promise.race([service.forecast(wanted), late]).catch((cause: unknown) => {
    throw cause instanceof Problem
      ? cause
      : failed(cause instanceof Error ? cause.message : 'The weather service failed.');
  });
  const why = whyNotBelieved(hours);
  if (why) throw failed(`The weather service sent nonsense: ${say(why)}.`);
  return hours;
}

/** 424: what the answer depends on has failed, not this server. */
function failed(what: string): Problem {
  return new Problem(424, {
    code: 'service-failed',
    sentence: `${what} Nothing was taken from it; enter what you see and measure by hand.`,
  });
}
