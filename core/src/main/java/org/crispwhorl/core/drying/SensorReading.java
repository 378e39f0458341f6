package org.crispwhorl.core.drying;

import java.time.LocalDateTime;

/**
 * What a sensor told of the room.
 *
 * @param temperatureC air temperature, °C
 * @param humidityPct relative humidity, %
 */
public record SensorReading(LocalDateTime at, double temperatureC, double humidityPct) {}
