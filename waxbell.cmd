@echo off
rem Wax Bell's start script for Windows: demo, start, restore, --version. It builds what is not built.
setlocal
cd /d "%~dp0"
set JAR=app\target\waxbell-boot.jar
where java >nul 2>nul || (echo Java 17 is missing. Install a JDK 17 or newer. & exit /b 1)
if not exist "%JAR%" (
  where mvn >nul 2>nul || (echo Maven is missing. Install it and put it on the path. & exit /b 1)
  where node >nul 2>nul || (echo Node.js 20.19 or newer is missing. Install it. & exit /b 1)
  echo Building, a few minutes the first time ...
  call mvn -B -ntp -q package -DskipTests -pl core,web,app || (echo The build failed. & exit /b 1)
)
set COMMAND=%~1
if not "%COMMAND%"=="" shift
set REST=
:collect
if "%~1"=="" goto go
if "%~1"=="--port" (set REST=%REST% --port=%~2& shift & shift & goto collect)
if "%~1"=="--data" (set REST=%REST% "--data=%~2"& shift & shift & goto collect)
if "%~1"=="--fresh" (set FRESH=yes& shift & goto collect)
set REST=%REST% %1
shift
goto collect
:go
if "%COMMAND%"=="demo" (
  if "%FRESH%"=="yes" if exist ".data\demo" (
    if exist ".data\demo.before" rmdir /s /q ".data\demo.before"
    move ".data\demo" ".data\demo.before" >nul
  )
  java -Xmx512m -jar "%JAR%" --demo --data=.data\demo %REST%
  exit /b %ERRORLEVEL%
)
if "%COMMAND%"=="start" (java -Xmx512m -jar "%JAR%" %REST% & exit /b %ERRORLEVEL%)
if "%COMMAND%"=="restore" (java -jar "%JAR%" restore %REST% & exit /b %ERRORLEVEL%)
if "%COMMAND%"=="--version" (java -jar "%JAR%" --version & exit /b %ERRORLEVEL%)
echo Usage: waxbell demo [--port N] [--fresh] ^| start [--port N] [--data DIR] ^| restore [NAME] [--data DIR] ^| --version
exit /b 1
